# Beds by their length, with a small function.
# A small function that has a name.
twice = lambda weeks: weeks * 2
print(twice(4))
