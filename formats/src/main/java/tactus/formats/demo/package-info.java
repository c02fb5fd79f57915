/** The songs that ship with the program, as an evening class would play them. Read {@link tactus.formats.demo.DemoSong} first. */
package tactus.formats.demo;
