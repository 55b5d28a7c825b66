/** What it is like outdoors: climate, a simulated weather, and what gardeners wrote down themselves. Nothing here is null. */
package potmellow.core.weather;
