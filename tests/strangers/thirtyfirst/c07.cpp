#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;

class Student {
public:
    string name;
    vector<int> grades;

    Student(string n) { name = n; }
    Student(string n, vector<int> g) { name = n; grades = g; }

    void addGrade(int g) { grades.push_back(g); }

    double average() {
        if (grades.size() == 0) return 0;
        int sum = 0;
        for (int i = 0; i < grades.size(); i++) sum += grades[i];
        return (double)sum / grades.size();
    }

    int best() { return *max_element(grades.begin(), grades.end()); }
};

bool compareStudents(Student a, Student b) {
    return a.average() > b.average();
}

int main() {
    vector<Student> students;
    students.push_back(Student("Ash"));
    students.push_back(Student("Linden", {5, 3, 4}));
    Student hazel("Hazel");
    hazel.addGrade(4);
    hazel.addGrade(5);
    students.push_back(hazel);
    students[0].addGrade(2);
    students[0].addGrade(3);
    students[0].addGrade(3);

    sort(students.begin(), students.end(), compareStudents);

    for (Student s : students) {
        cout << s.name << ": " << s.average() << " (best " << s.best() << ")" << endl;
    }

    auto it = find_if(students.begin(), students.end(), [](Student& s) { return s.name == "Ash"; });
    if (it != students.end())
        cout << "Found " << it->name << " with " << it->grades.size() << " grades" << endl;
    return 0;
}
