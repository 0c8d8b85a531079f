/** What is kept of radios over the years: which snapshots stay, and the file that one goes out as. */
package reckonrod.core.shelf;
