/** What was seen and heard when a channel was tried on the air: the log, and what comes of it. */
package reckonrod.core.fieldlog;
