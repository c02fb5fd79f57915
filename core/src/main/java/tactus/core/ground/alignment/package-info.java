/** Two lists put opposite each other. */
package tactus.core.ground.alignment;
