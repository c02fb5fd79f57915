/**
 * What every storey stands on: statements and refusals as codes with values, the words of a language, names, lists put
 * opposite each other. It knows nothing of music. Read {@link tactus.core.ground.statement.Statement} first.
 */
package tactus.core.ground;
