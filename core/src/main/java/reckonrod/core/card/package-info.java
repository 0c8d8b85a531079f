/** What is printed and taken along: what each card says, and from which list it was made. How it is set on paper is not known here. */
package reckonrod.core.card;
