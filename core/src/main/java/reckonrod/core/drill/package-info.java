/** Practice on a panel: drills, the traps that are fallen into, and what to repeat next. */
package reckonrod.core.drill;
