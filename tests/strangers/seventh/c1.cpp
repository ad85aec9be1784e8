#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
#include <iomanip>

struct Student {
    std::string name;
    int age;
    double gpa;
};

bool byGpa(const Student& a, const Student& b) { return a.gpa > b.gpa; }

int main() {
    std::vector<Student> list = { {"Ash", 12, 3.4}, {"Birch", 13, 3.9}, {"Cress", 12, 2.75} };
    std::sort(list.begin(), list.end(), byGpa);
    std::cout << std::left << std::setw(10) << "Name" << std::right << std::setw(5) << "Age" << std::setw(7) << "GPA" << '\n';
    for (const auto& s : list)
        std::cout << std::left << std::setw(10) << s.name << std::right << std::setw(5) << s.age << std::setw(7) << std::fixed << std::setprecision(2) << s.gpa << '\n';
    double sum = 0;
    for (size_t i = 0; i < list.size(); ++i) sum += list[i].gpa;
    std::cout << "Mean: " << sum / list.size() << std::endl;
    auto it = std::find_if(list.begin(), list.end(), [](const Student& s) { return s.age == 13; });
    if (it != list.end()) std::cout << it->name << " is 13\n";
    return 0;
}
