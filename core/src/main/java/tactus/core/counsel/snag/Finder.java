package tactus.core.counsel.snag;

import java.util.function.Consumer;

/** Looks for snags of one subject. */
@FunctionalInterface
interface Finder {

    /** Gives every snag that it finds in {@code laid} to {@code found}, in the order of the song. */
    void find(LaidSong laid, Consumer<Snag> found);
}
