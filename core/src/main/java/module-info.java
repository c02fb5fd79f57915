/** Music and computation: time, strokes, patterns, songs and what follows from them. No screen, file or clock. */
module tactus.core {
    exports tactus.core.capo;
    exports tactus.core.chord;
    exports tactus.core.comparison;
    exports tactus.core.dictation;
    exports tactus.core.edit;
    exports tactus.core.groove;
    exports tactus.core.harmony;
    exports tactus.core.history;
    exports tactus.core.language;
    exports tactus.core.library;
    exports tactus.core.name;
    exports tactus.core.pattern;
    exports tactus.core.performance;
    exports tactus.core.picking;
    exports tactus.core.picture;
    exports tactus.core.pitch;
    exports tactus.core.refusal;
    exports tactus.core.rhythm;
    exports tactus.core.rule;
    exports tactus.core.saying;
    exports tactus.core.search;
    exports tactus.core.section;
    exports tactus.core.sentence;
    exports tactus.core.shape;
    exports tactus.core.snag;
    exports tactus.core.song;
    exports tactus.core.statement;
    exports tactus.core.stroke;
    exports tactus.core.suggestion;
    exports tactus.core.sum;
    exports tactus.core.tapping;
    exports tactus.core.time;
    exports tactus.core.timeline;
    exports tactus.core.variation;
}
