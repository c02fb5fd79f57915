/** Everything that works without a window: the commands, and what a song is written out as. */
module tactus.console {
    requires transitive tactus.core;
    requires transitive tactus.formats;
    requires transitive tactus.records;
    requires transitive tactus.sound;
    requires tactus.words;
    requires info.picocli;
    requires java.logging;
    requires org.slf4j;
    requires tools.jackson.databind;

    exports tactus.console;
    exports tactus.console.export;

    // picocli fills the commands.
    opens tactus.console to
            info.picocli;
}
