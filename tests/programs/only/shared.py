first = [1, 2, 3]
second = first
third = first[:]
second.append(4)
third.append(9)
print(first, second, third, first == second, first == third)


def grow(beds, name):
    beds.append(name)
    beds = ["other"]
    return beds


plants = ["rose"]
print(grow(plants, "lily"), plants)
rows = [[]] * 2
rows[0].append("x")
print(rows)
plot = {"size": 3}
same = plot
same["size"] = 4
print(plot)
line = [plot, plot]
line[0]["size"] += 1
print(line)
