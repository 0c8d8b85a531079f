/**
 * The rules that judge channels and lists.
 *
 * <p>Each rule is a small class that declares the kinds of finding it raises and answers with all it sees. The Reckon line
 * and the list are judged by the same rules.
 */
package reckonrod.core.check;
