/**
 * Whether a channel opens its repeater, and if it does not, why.
 *
 * <p>Before leaving, {@link reckonrod.core.prove.DryRun} says what each channel of a radio would do at a place, going by the
 * directory. On the spot, {@link reckonrod.core.prove.Diagnosis} ranks the causes of a silence by Bayes' rule: the base rates of
 * {@link reckonrod.core.prove.Knowledge}, times what the program knows of the case, its {@link reckonrod.core.prove.Circumstance}s,
 * times the chance of each answer that the person gave. The next question is the one that is expected to take away most of the
 * entropy, in bits. Answers are taken to be independent of each other once the cause is given, which is not quite so; questions
 * that would say nearly the same settle each other.
 */
package reckonrod.core.prove;
