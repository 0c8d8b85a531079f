/** Before and after the talk key: what a list is expected to do, why a channel is silent, and what is ready for the day. */
package reckonrod.server.prove;
