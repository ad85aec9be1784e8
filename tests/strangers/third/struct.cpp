#include <iostream>
#include <string>
#include <vector>
using namespace std;

struct Student {
    string name;
    int age;
    double grade;
};

int main() {
    vector<Student> list;
    list.push_back({"Ash", 14, 1.7});
    list.push_back({"Brook", 15, 2.3});
    Student s;
    s.name = "Clover";
    s.age = 13;
    s.grade = 1.3;
    list.push_back(s);
    double sum = 0;
    for (const Student& st : list) {
        cout << st.name << " (" << st.age << "): " << st.grade << endl;
        sum += st.grade;
    }
    cout << "Average: " << sum / list.size() << endl;
    return 0;
}
