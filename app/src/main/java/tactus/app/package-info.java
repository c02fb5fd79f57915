/** Start-up: from the command line to the window. */
package tactus.app;
