/** Tables in whatever form a person's other tools have: a recipe says which columns, units and words, and reads such tables back. */
package reckonrod.core.recipe;
