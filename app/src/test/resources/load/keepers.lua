-- What keepers do: open a page, look at it for some seconds, open the next, now and then tap a line into the log.
-- KEEPERS names a file with a line each: the number of the tank, the session, the token of a program.

local keepers = {}
local pages = {
  "/today", "/today", "/today", "/log", "/log", "/wish-list", "/arrivals", "/reefscape", "/losses", "/tank",
  "/log/water", "/species?q=small+peaceful", "/species/Zebrasoma-flavescens", "/shop-card", "/arrivals/list"
}
local threads = {}

function setup(thread)
  threads[#threads + 1] = thread
  thread:set("number", #threads)
end

function init(args)
  for line in io.lines(os.getenv("KEEPERS")) do
    local tank, session, token = line:match("(%S+) (%S+) (%S+)")
    keepers[#keepers + 1] = { tank = tank, session = session, token = token }
  end
  math.randomseed(20261128 + number)
  wrong = 0
end

-- one of four is a write
function request()
  local k = keepers[math.random(#keepers)]
  if math.random(4) == 1 then
    return wrk.format("POST", "/api/v1/tanks/" .. k.tank .. "/log/feed",
      { ["Authorization"] = "Bearer " .. k.token, ["Content-Type"] = "application/json", ["Host"] = wrk.headers["Host"] },
      '{"note": "mysis"}')
  end
  return wrk.format("GET", "/tanks/" .. k.tank .. pages[math.random(#pages)],
    { ["Cookie"] = "pelluna=" .. k.session, ["Accept"] = "text/html", ["Accept-Encoding"] = "gzip",
      ["Host"] = wrk.headers["Host"] })
end

-- milliseconds between an answer and the next request of a keeper
function delay()
  return math.random(tonumber(os.getenv("REST_MS")), 3 * tonumber(os.getenv("REST_MS")))
end

function response(status)
  if status ~= 200 then wrong = wrong + 1 end
end

function done(summary, latency)
  local wrongs = 0
  for _, thread in ipairs(threads) do wrongs = wrongs + thread:get("wrong") end
  local e = summary.errors
  io.write(string.format("requests %d in %.1f s, %.1f a second\n", summary.requests, summary.duration / 1e6,
    summary.requests / (summary.duration / 1e6)))
  io.write(string.format("no answer %d, not 200 %d\n", e.connect + e.read + e.write + e.timeout, wrongs))
  for _, p in ipairs({ 50, 90, 95, 99 }) do
    io.write(string.format("%d of 100 under %.0f ms\n", p, latency:percentile(p) / 1000))
  end
end
