package tactus.sound.synth;

/**
 * The guitar's body: two gentle resonances, where air and top of a usual one lie (about 100 and 200 Hz, from memory),
 * and a rounded top end. Each is a two-pole resonator (common practice).
 */
final class Body {

    private static final double LOWEST_HERTZ = 18;

    private final double[] coefficients;
    private double a1;
    private double a2;
    private double b1;
    private double b2;
    private double round;
    private final double steadiness;
    private double steady;

    Body(double rate) {
        coefficients = new double[] {
            2 * 0.985 * Math.cos(2 * Math.PI * 105 / rate), 0.985 * 0.985,
            2 * 0.980 * Math.cos(2 * Math.PI * 210 / rate), 0.980 * 0.980
        };
        steadiness = 1 - Math.exp(-2 * Math.PI * LOWEST_HERTZ / rate);
    }

    void colour(float[] samples, int count) {
        for (int i = 0; i < count; i++) {
            double in = samples[i];
            double air = 0.012 * in + coefficients[0] * a1 - coefficients[1] * a2;
            a2 = a1;
            a1 = air;
            double top = 0.014 * in + coefficients[2] * b1 - coefficients[3] * b2;
            b2 = b1;
            b1 = top;
            round += 0.62 * (in - round);
            double sound = 0.62 * round + 0.5 * air + 0.45 * top;
            // Nothing below what one hears: a string that is damped in mid-swing leaves a step.
            steady += (sound - steady) * steadiness;
            samples[i] = (float) (sound - steady);
        }
    }

    void reset() {
        a1 = a2 = b1 = b2 = round = steady = 0;
    }
}
