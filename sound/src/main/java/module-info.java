/** Sound from a timeline: plucked strings, the transport that plays them, devices and their stand-in, WAV files. */
module tactus.sound {
    requires transitive tactus.core;
    requires java.desktop;

    exports tactus.sound.device;
    exports tactus.sound.loudness;
    exports tactus.sound.score;
    exports tactus.sound.take;
    exports tactus.sound.transport;
    exports tactus.sound.wave;
}
