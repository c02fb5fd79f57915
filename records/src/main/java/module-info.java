/** What is kept beside the songs in the data folder: the index of a teacher's songs, the logbook, settings. */
module tactus.records {
    requires transitive tactus.core;
    requires tactus.formats;
    requires tactus.words;
    requires java.sql;
    requires org.slf4j;
    requires org.xerial.sqlitejdbc;

    exports tactus.records.folder;
    exports tactus.records.logbook;
    exports tactus.records.shelf;
}
