package tactus.core.patterns.groove;

import tactus.core.music.time.Meter;

/** Grooves that many songs have (common practice). */
public enum CommonGroove {
    ROCK("4/4", 4, "(kh)h(sh)h(kh)h(sh)h"),
    ROCK_PUSHED("4/4", 4, "(kh)h(sh)(kh)h(kh)(sh)h"),
    FOUR_TO_THE_BAR("4/4", 4, "(kh)h(ksh)h(kh)h(ksh)h"),
    HALF_TIME("4/4", 4, "(kh)hhh(sh)hhh"),
    TWO_BEAT("4/4", 4, "ksks"),
    SHUFFLE("4/4", 4, "(kh)-h(sh)-h(kh)-h(sh)-h"),
    SIXTEENTHS("4/4", 4, "(kh)hhh(sh)hhkhh(kh)h(sh)hhh"),
    WALTZ("3/4", 3, "kss"),
    SLOW_SIX("6/8", 2, "(kh)hh(sh)hh"),
    TWO_FOUR_MARCH("2/4", 2, "ksks"),
    SEVEN("2+2+3/8", 3, "khshsh-");

    private final Groove groove;

    CommonGroove(String meter, int beats, String line) {
        groove = Groove.ofLine(line, Meter.parse(meter), beats);
    }

    /** What it plays. */
    public Groove groove() {
        return groove;
    }
}
