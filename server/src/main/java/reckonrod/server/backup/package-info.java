/** The whole installation as one file, and back. */
package reckonrod.server.backup;
