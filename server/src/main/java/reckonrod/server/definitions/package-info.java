/** Definitions of radios: those that ship, and the person's own as the texts of their files. */
package reckonrod.server.definitions;
