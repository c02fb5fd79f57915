/** Songs as MusicXML 4.0 (W3C Community Group, 2021), for other programs that write music. */
package tactus.formats.musicxml;
