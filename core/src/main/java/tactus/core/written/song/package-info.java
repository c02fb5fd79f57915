/**
 * A song as the teacher writes it: facts, chords, patterns, sections and their order. Read {@link
 * tactus.core.written.song.Song} first.
 *
 * <p>All types are immutable; null is always refused; everything refers to other things by id or chord name.
 *
 * <h2>Facts</h2>
 *
 * <p>A fact is one line ({@code Aspect}): how it is got and put, how it is written, typed and looked for, and whether a
 * version may have another. Files, versions, edits, fields, texts and searches walk the list. A capo, or strings tuned
 * down, move the key with them where an edit does it ({@code Aspect.edited}); in files each fact stands for itself.
 *
 * <h2>Versions</h2>
 *
 * <p>Versions are the song seen through a few changes; the one that is shown is kept with the song, so that sound,
 * sheet and files have it too. While a version is shown, what is changed is changed in it ({@code InVersion}): the edit
 * is done to the song as the version has it, and what became other is put into the version ({@code Overlay}: patterns,
 * sections and entries by their ids, the order, rules that do not hold; {@code OtherFacts}: capo, key, tempo, who plays along; shapes as stand-ins). New
 * patterns and sections belong to the song. An edit that changes title, meter or tuning, takes something out of the
 * song or belongs to the lesson is done to the whole song altogether, and why is said; the reasons are a closed list
 * ({@code ForAll}), and every command of the window is tried against it ({@code AnyCommandTest}). The whole song is
 * edited with the full version.
 */
package tactus.core.written.song;
