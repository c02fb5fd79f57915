/**
 * Where the capo may lie, compared. Read {@link tactus.app.setup.capo.CapoModel} first.
 */
package tactus.app.setup.capo;
