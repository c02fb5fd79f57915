/** Fields that several places share. */
package tactus.app.field;
