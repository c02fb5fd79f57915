/** Hearing the song or a pattern. Read {@link tactus.app.player.PlayerModel} first. */
package tactus.app.player;
