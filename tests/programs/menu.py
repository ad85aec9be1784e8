beds = ["a", "b"]
choice = ""
while choice != "q":
    choice = input("a)dd l)ist q)uit: ").strip().lower()
    if choice == "a":
        beds.append(input("name: "))
    elif choice == "l":
        for number, bed in enumerate(beds, 1):
            print(f"{number}. {bed}")
    elif choice != "q":
        print("unknown:", choice)
print(len(beds), "beds")
