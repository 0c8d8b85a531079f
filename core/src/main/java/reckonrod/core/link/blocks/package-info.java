/** Whole transfers of radios that are read and written block by block, whatever their frames. */
package reckonrod.core.link.blocks;
