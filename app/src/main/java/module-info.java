/** The desktop application and the command line: windows, views and the wiring between them. */
module tactus.app {
    requires tactus.console;
    requires tactus.core;
    requires tactus.formats;
    requires tactus.records;
    requires tactus.sound;
    requires tactus.words;
    requires atlantafx.base;
    requires javafx.controls;
    requires org.kordamp.ikonli.core;
    requires org.kordamp.ikonli.feather;
    requires org.kordamp.ikonli.javafx;
    requires org.slf4j;
    requires java.logging;
    requires tools.jackson.databind;

    // The launcher creates TactusApplication reflectively.
    exports tactus.app to
            javafx.graphics;
}
