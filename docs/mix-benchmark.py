"""Median and worst of 61 answers of Mix for all plantings of a running sample world; see benchmarks.md."""

import http.cookiejar
import json
import statistics
import sys
import time
import urllib.request

BASE = sys.argv[1]
COOKIES = http.cookiejar.CookieJar()
BROWSER = urllib.request.build_opener(urllib.request.HTTPCookieProcessor(COOKIES))


def get(path):
    return json.load(BROWSER.open(BASE + path))


def post(path, body):
    token = next(cookie.value for cookie in COOKIES if "XSRF" in cookie.name)
    head = {"Content-Type": "application/json", "X-XSRF-TOKEN": token}
    return json.load(BROWSER.open(urllib.request.Request(BASE + path, json.dumps(body).encode(), head)))


get("/api/garden")
if len(get("/api/plantings")) < 8:
    eighth = {"name": "Eighth bed", "area": "4 m²", "appetite": "MEDIUM", "soil": "LOAM", "eaten": "COOKED"}
    post("/api/plantings", eighth | {"stage": "LEAFY", "version": 0})
plantings = [planting["id"] for planting in get("/api/plantings")]
juice = next(bottle["id"] for bottle in get("/api/bottles") if bottle["code"] == "P13")


def measure(path, body):
    times = []
    for strength in range(400, 705, 5):
        begin = time.perf_counter()
        post(path, body(str(strength)))
        times.append(1000 * (time.perf_counter() - begin))
    print(f"{path}: median {statistics.median(times):.1f} ms, worst {max(times):.1f} ms")


measure(
    "/api/mixes",
    lambda strength: {
        "brews": [{"bottleId": juice, "strength": strength}],
        "plantingIds": plantings,
        "target": "SOIL",
        "can": "10 L",
    },
)
measure("/api/mixes/offers", lambda strength: {"plantingIds": plantings})
