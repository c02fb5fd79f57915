/** The made-up class that one can look at. */
package tactus.app.demo;
