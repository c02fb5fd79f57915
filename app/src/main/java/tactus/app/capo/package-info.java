/**
 * Where the capo may lie, compared. Read {@link tactus.app.capo.CapoModel} first.
 */
package tactus.app.capo;
