/**
 * Directory listings that come as tables: which column means what, and what each row says.
 *
 * <p>A <em>table</em> is headings and rows of cells, out of a CSV file (RFC 4180, with the separators and encodings that are met in
 * practice) or of any other source that can be laid out so. A <em>mapping</em> says what each of its columns means; it is guessed
 * from the headings and from the values themselves, and the person has the last word. A <em>row</em> becomes an entry, with
 * findings where it is doubtful, or is refused with a reason.
 */
package reckonrod.core.listing;
