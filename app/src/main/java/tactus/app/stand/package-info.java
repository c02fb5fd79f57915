/**
 * What a player reads from the music stand: one section over the whole window. Read {@link tactus.app.stand.StandModel}
 * first.
 */
package tactus.app.stand;
