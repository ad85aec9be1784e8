students = ["Fern", "Moss", "Reed", "Wren"]
marks = [[67, 54, 81], [90, 88, 92], [45, 50, 39], [72, 65, 70]]
subjects = ["Maths", "Art", "ICT"]
for i in range(len(students)):
    total = 0
    for j in range(len(subjects)):
        total = total + marks[i][j]
    print("%-6s total: %3d  average: %.1f" % (students[i], total, total / len(subjects)))
for j in range(3):
    best = 0
    for i in range(4):
        if marks[i][j] > marks[best][j]:
            best = i
    print("Best in", subjects[j] + ":", students[best])
column = [row[1] for row in marks]
print(column, min(column), max(column))
students.remove("Reed")
students.sort(reverse=True)
print(students, "Moss" in students, students.index("Moss"))
