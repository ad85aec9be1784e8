#include <iostream>
#include <map>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;

struct Student {
    string name;
    map<string, int> marks;
    double average() const {
        if (marks.empty()) return 0;
        double t = 0;
        for (auto& m : marks) t += m.second;
        return t / marks.size();
    }
};

class School {
    vector<Student> students;
public:
    Student* find(const string& name) {
        for (auto& s : students) if (s.name == name) return &s;
        return nullptr;
    }
    void enrol(string name) {
        if (find(name)) { cout << name << " is here already\n"; return; }
        students.push_back({name, {}});
    }
    bool mark(const string& name, const string& subject, int m) {
        Student* s = find(name);
        if (s == nullptr) return false;
        s->marks[subject] = m;
        return true;
    }
    void report() const {
        vector<const Student*> sorted;
        for (const auto& s : students) sorted.push_back(&s);
        sort(sorted.begin(), sorted.end(), [](const Student* a, const Student* b) { return a->average() > b->average(); });
        int place = 1;
        for (const Student* s : sorted) {
            cout << place++ << ". " << s->name << " " << s->average();
            for (const auto& [subject, m] : s->marks) cout << " " << subject << "=" << m;
            cout << endl;
        }
    }
    size_t size() const { return students.size(); }
};

int main() {
    School school;
    school.enrol("Ash"); school.enrol("Bryn"); school.enrol("Cleo"); school.enrol("Ash");
    cout << boolalpha << school.mark("Ash", "maths", 7) << school.mark("Zed", "art", 1) << endl;
    school.mark("Ash", "art", 4);
    school.mark("Bryn", "maths", 9);
    school.mark("Bryn", "maths", 10);
    school.report();
    School copy = school;
    copy.mark("Cleo", "art", 10);
    copy.enrol("Dara");
    cout << school.size() << copy.size() << " " << school.find("Cleo")->average() << copy.find("Cleo")->average() << endl;
    map<string, vector<int>> byLetter;
    for (string w : {"pea", "bean", "beet", "plum"}) byLetter[w.substr(0, 1)].push_back(w.size());
    for (auto it = byLetter.rbegin(); it != byLetter.rend(); ++it) cout << it->first << it->second.size() << " ";
    cout << byLetter["zz"].size() << byLetter.size() << endl;
    map<pair<int, int>, char> board;
    board[{0, 1}] = 'x';
    board[make_pair(2, 2)] = 'o';
    for (auto& [pos, ch] : board) cout << pos.first << pos.second << ch << " ";
    cout << board.count({0, 1}) << board.count({1, 1}) << endl;
    auto found = byLetter.find("b");
    if (found != byLetter.end()) { found->second.push_back(100); cout << found->second.back() << byLetter["b"].size() << endl; }
    vector<int> v = {4, 1, 3};
    auto sorted = v;
    sort(sorted.begin(), sorted.end());
    cout << v[0] << sorted[0] << endl;
    auto byDesc = [](int a, int b) { return a > b; };
    sort(v.begin(), v.end(), byDesc);
    cout << v[0] << endl;
    v.resize(5);
    cout << v[4] << v.size() << endl;
    v.assign(2, 7);
    cout << v[0] << v[1] << v.size() << endl;
    v.insert(v.end(), {8, 9});
    v.erase(remove(v.begin(), v.end(), 7), v.end());
    cout << v.size() << v.front() << endl;
    v.swap(sorted);
    cout << v.size() << sorted.size() << endl;
}
