/** One look at the garden a question: whatever a request that only reads asks twice is read once. */
package potmellow.app.snapshot;
