/** The desktop application and the command line: windows, views and the wiring between them. */
module tactus.app {
    requires tactus.core;
    requires tactus.formats;
    requires tactus.records;
    requires tactus.sound;
    requires tactus.words;
    requires atlantafx.base;
    requires info.picocli;
    requires javafx.controls;
    requires org.kordamp.ikonli.core;
    requires org.kordamp.ikonli.feather;
    requires org.kordamp.ikonli.javafx;
    requires org.slf4j;
    requires java.logging;
    requires tools.jackson.databind;

    // The launcher creates TactusApplication reflectively; picocli fills the commands.
    exports tactus.app to
            javafx.graphics;

    opens tactus.app.command to
            info.picocli;
}
