/** What is kept beside the songs in databases of the data folder: the index of a teacher's songs, and the logbook. */
module tactus.records {
    requires transitive tactus.core;
    requires tactus.formats;
    requires tactus.words;
    requires java.sql;
    requires org.slf4j;
    requires org.xerial.sqlitejdbc;

    exports tactus.records.logbook;
    exports tactus.records.shelf;
}
