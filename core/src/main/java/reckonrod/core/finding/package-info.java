/**
 * The one form of every judgement in the product.
 *
 * <p>A <em>kind</em> says what is judged, how grave it is and why it matters; it stands beside the rule that raises it. A
 * <em>finding</em> is one occurrence: the kind, the field it speaks of, and the facts that fill its sentence. A
 * <em>fix</em> is an edit that the same rule worked out. Rules report everything they see and never throw for a fault of
 * the person's.
 */
package reckonrod.core.finding;
