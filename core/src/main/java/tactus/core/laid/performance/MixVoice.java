package tactus.core.laid.performance;

/** What is heard when a song is played. */
public enum MixVoice {
    /** The first guitar. */
    GUITAR("guitar"),
    /** The second guitar. */
    SECOND("second"),
    /** The bass notes of the first guitar alone. */
    BASS("bass"),
    /** The song's groove. */
    DRUMS("drums"),
    /** A click on the felt beats. */
    CLICK("click"),
    /** A voice that counts. */
    COUNT("count");

    private final String code;

    MixVoice(String code) {
        this.code = code;
    }

    /** What it is called in files and commands. */
    public String code() {
        return code;
    }
}
