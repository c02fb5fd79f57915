/** How things are named inside a song. */
package tactus.core.ground.name;
