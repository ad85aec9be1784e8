#include <algorithm>
#include <iomanip>
#include <iostream>
#include <map>
#include <string>
#include <vector>

struct Student {
    std::string name;
    int group{};
    std::vector<double> marks;

    double average() const {
        if (marks.empty()) return 0.0;
        double sum = 0;
        for (double m : marks) sum += m;
        return sum / marks.size();
    }
};

bool better(const Student& a, const Student& b) {
    if (a.average() != b.average()) return a.average() > b.average();
    return a.name < b.name;
}

int main() {
    int n;
    std::cin >> n;
    std::vector<Student> students(n);
    for (auto& s : students) {
        int count;
        std::cin >> s.name >> s.group >> count;
        s.marks.resize(count);
        for (double& m : s.marks) std::cin >> m;
    }
    std::sort(students.begin(), students.end(), better);

    std::cout << std::left << std::setw(10) << "Name" << std::right << std::setw(6) << "Grp" << std::setw(8) << "Avg" << '\n';
    std::cout << std::string(24, '-') << '\n';
    std::cout << std::fixed << std::setprecision(2);
    for (const auto& s : students)
        std::cout << std::left << std::setw(10) << s.name << std::right << std::setw(6) << s.group << std::setw(8) << s.average() << '\n';

    std::map<int, std::vector<std::string>> groups;
    for (const Student& s : students) groups[s.group].push_back(s.name);
    for (const auto& [group, names] : groups) {
        std::cout << "Group " << group << ":";
        for (size_t i = 0; i < names.size(); ++i) std::cout << (i ? ", " : " ") << names[i];
        std::cout << '\n';
    }
    auto best = std::max_element(students.begin(), students.end(),
                                 [](const Student& a, const Student& b) { return a.marks.size() < b.marks.size(); });
    std::cout << "Most marks: " << best->name << " (" << best->marks.size() << ")\n";
    int passed = std::count_if(students.begin(), students.end(), [](const Student& s) { return s.average() >= 3.0; });
    std::cout << passed << " of " << students.size() << " passed\n";
    return passed == n ? 0 : 2;
}
