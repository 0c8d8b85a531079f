/** Texts of files that a person wrote or copied: band plans and radios. */
package reckonrod.server.files;
