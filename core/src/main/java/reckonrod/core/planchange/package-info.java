/**
 * Taking a list to another band plan, or to another class of licence.
 *
 * <p>Channels whose shift came from a rule are worked out anew; pairs and shifts that were given stay as they are. What
 * moves is listed before it is done.
 */
package reckonrod.core.planchange;
