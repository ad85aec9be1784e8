#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
#include <algorithm>
#include <stdexcept>

class Student {
private:
    std::string name;
    std::vector<int> marks;

public:
    explicit Student(const std::string& n) : name(n) {}

    void addMark(int mark) {
        if (mark < 1 || mark > 6) {
            throw std::out_of_range("mark " + std::to_string(mark) + " is not between 1 and 6");
        }
        marks.push_back(mark);
    }

    double average() const {
        if (marks.empty()) return 0.0;
        double sum = 0;
        for (int m : marks) sum += m;
        return sum / marks.size();
    }

    const std::string& getName() const { return name; }
    std::size_t count() const { return marks.size(); }

    bool operator<(const Student& other) const { return average() < other.average(); }

    friend std::ostream& operator<<(std::ostream& os, const Student& s) {
        os << std::left << std::setw(8) << s.name << std::right << std::fixed << std::setprecision(2) << std::setw(6) << s.average() << " (" << s.marks.size() << ")";
        return os;
    }
};

class Course {
    std::string title;
    std::vector<Student> students;

public:
    Course(std::string t) : title(std::move(t)) {}

    Student& get(const std::string& name) {
        auto it = std::find_if(students.begin(), students.end(), [&](const Student& s) { return s.getName() == name; });
        if (it == students.end()) {
            students.push_back(Student(name));
            return students.back();
        }
        return *it;
    }

    void report() {
        std::sort(students.begin(), students.end());
        std::cout << "== " << title << " ==\n";
        for (std::size_t i = 0; i < students.size(); ++i) {
            std::cout << i + 1 << ". " << students[i] << '\n';
        }
        auto best = std::min_element(students.begin(), students.end());
        if (best != students.end()) std::cout << "best: " << best->getName() << std::endl;
    }
};

int main() {
    Course course("Botany");
    course.get("Ada").addMark(1);
    course.get("Ada").addMark(2);
    course.get("Bo").addMark(4);
    course.get("Cy");
    try {
        course.get("Cy").addMark(3);
        course.get("Cy").addMark(7);
    } catch (const std::out_of_range& e) {
        std::cerr << "Error: " << e.what() << std::endl;
        std::cout << "(skipped)\n";
    }
    course.report();
    return 0;
}
