/** The log of what was tried on the air, and what is learned from it. */
package reckonrod.server.fieldlog;
