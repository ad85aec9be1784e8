def read_age(text):
    try:
        age = int(text)
    except ValueError:
        print("Not a number:", text)
        return -1
    else:
        if age < 0:
            raise ValueError("age must not be negative")
        return age
    finally:
        print("checked", text)

for t in ["12", "abc", "-4", " 7 "]:
    try:
        print(read_age(t))
    except ValueError as err:
        print("Error:", err)
