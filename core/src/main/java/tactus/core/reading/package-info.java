/**
 * What is typed or read of a whole song: rules and hints as sentences, charts in plain letters, music of other programs. It judges nothing. Read {@link tactus.core.reading.sentence.RuleSentence} first.
 */
package tactus.core.reading;
