#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
using namespace std;
class Student {
private:
    string name;
    vector<double> marks;
    static int total;
public:
    Student(const string &n) : name(n) { total++; }
    void addMark(double m) {
        if (m < 1 || m > 6) { cerr << "bad mark" << endl; return; }
        marks.push_back(m);
    }
    double average() const {
        if (marks.empty()) return 0;
        double sum = 0;
        for (double m : marks) sum += m;
        return sum / marks.size();
    }
    string getName() const { return name; }
    static int getTotal() { return total; }
    bool operator<(const Student &other) const { return average() < other.average(); }
    friend ostream &operator<<(ostream &os, const Student &s) {
        os << s.name << " (" << s.average() << ")";
        return os;
    }
};
int Student::total = 0;
int main() {
    vector<Student> all;
    all.push_back(Student("Hazel"));
    all.emplace_back("Linden");
    Student sorrel("Sorrel");
    sorrel.addMark(2); sorrel.addMark(3.5); sorrel.addMark(9);
    all[0].addMark(1);
    all[1].addMark(4); all[1].addMark(5);
    all.push_back(sorrel);
    sort(all.begin(), all.end());
    for (const auto &s : all) cout << s << endl;
    cout << Student::getTotal() << " students, best " << all.front().getName() << endl;
    auto worst = max_element(all.begin(), all.end());
    cout << worst->getName() << endl;
}
