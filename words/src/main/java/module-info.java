/** The languages: everything the program says, phrased from the core's typed values, and the words that it reads. */
module tactus.words {
    requires transitive tactus.core;

    exports tactus.words;
}
