/** Which repeaters are of use here or along a way: reach, doubt and what to take instead, worked out of directory entries. */
package reckonrod.core.find;
