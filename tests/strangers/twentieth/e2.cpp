#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <list>
#include <set>
#include <unordered_map>
#include <algorithm>
using namespace std;

class Node {
public:
    int value;
    shared_ptr<Node> next;
    Node(int v) : value(v) {}
};

class Employee {
protected:
    string name;
    double pay;
    static int total;
public:
    Employee(string n, double p) : name(move(n)), pay(p) { ++total; }
    virtual double monthly() const { return pay / 12; }
    virtual void describe() const { cout << name << " earns " << monthly() << endl; }
    static int count() { return total; }
    const string& getName() const { return name; }
    bool operator>(const Employee& o) const { return monthly() > o.monthly(); }
};
int Employee::total = 0;

class Manager : public Employee {
    vector<shared_ptr<Employee>> team;
public:
    using Employee::Employee;
    void add(shared_ptr<Employee> e) { team.push_back(e); }
    double monthly() const override {
        double bonus = 0;
        for (auto& e : team) bonus += e->monthly() * 0.1;
        return Employee::monthly() + bonus;
    }
    void describe() const override {
        Employee::describe();
        for (const auto& e : team) { cout << "  "; e->describe(); }
    }
};

template <typename T>
T total(const vector<T>& v, T start = T()) {
    for (const auto& x : v) start += x;
    return start;
}

class Matrix {
    int rows, cols;
    vector<double> data;
public:
    Matrix(int r, int c) : rows(r), cols(c), data(r * c, 0.0) {}
    double& operator()(int r, int c) { return data[r * cols + c]; }
    double operator()(int r, int c) const { return data[r * cols + c]; }
    Matrix operator*(const Matrix& o) const {
        Matrix m(rows, o.cols);
        for (int i = 0; i < rows; i++)
            for (int j = 0; j < o.cols; j++)
                for (int k = 0; k < cols; k++) m(i, j) += (*this)(i, k) * o(k, j);
        return m;
    }
    friend ostream& operator<<(ostream& os, const Matrix& m) {
        for (int i = 0; i < m.rows; i++) {
            for (int j = 0; j < m.cols; j++) os << m(i, j) << (j + 1 < m.cols ? " " : "");
            os << "\n";
        }
        return os;
    }
};

int main() {
    auto head = make_shared<Node>(1);
    head->next = make_shared<Node>(2);
    head->next->next = make_shared<Node>(3);
    for (auto n = head; n; n = n->next) cout << n->value << " ";
    cout << endl;
    auto boss = make_shared<Manager>("Ivy", 36000);
    auto ash = make_shared<Employee>("Ash", 24000);
    boss->add(ash);
    boss->add(make_shared<Employee>("Bryn", 12000));
    boss->describe();
    cout << Employee::count() << (*boss > *ash) << endl;
    vector<shared_ptr<Employee>> all = {ash, boss};
    sort(all.begin(), all.end(), [](auto& a, auto& b) { return *a > *b; });
    for (auto& e : all) cout << e->getName() << " ";
    cout << endl;
    unique_ptr<Employee> u = make_unique<Manager>("Zed", 1200);
    u->describe();
    cout << (dynamic_cast<Manager*>(u.get()) != nullptr) << (u ? "set" : "null") << endl;
    u.reset();
    cout << (u == nullptr) << Employee::count() << endl;
    cout << total(vector<int>{1, 2, 3}) << total<string>({"a", "b"}, ">") << total(vector<double>{0.5}, 1.0) << endl;
    Matrix a(2, 2), b(2, 1);
    a(0, 0) = 1; a(0, 1) = 2; a(1, 0) = 3; a(1, 1) = 4;
    b(0, 0) = 5; b(1, 0) = 6;
    cout << a * b;
    set<string> names{"b", "a", "b"};
    names.insert("c");
    cout << names.size() << *names.begin() << *names.rbegin() << endl;
    multiset<int> ms{2, 1, 2};
    cout << ms.count(2) << ms.size() << endl;
    unordered_map<string, int> um{{"x", 1}};
    um["y"] += 5;
    if (auto it = um.find("y"); it != um.end()) cout << it->second;
    cout << um.at("x") << um.count("z") << endl;
    vector<int> v{1, 2, 3, 4, 5, 6};
    auto even = [](int x) { return x % 2 == 0; };
    cout << count_if(v.begin(), v.end(), even) << any_of(v.begin(), v.end(), even) << all_of(v.begin(), v.end(), even) << endl;
    v.erase(remove_if(v.begin(), v.end(), even), v.end());
    rotate(v.begin(), v.begin() + 1, v.end());
    for (int x : v) cout << x;
    cout << endl;
    vector<string> w{"pear", "fig", "apple"};
    sort(w.begin(), w.end(), [](const string& p, const string& q) { return p.size() < q.size() || (p.size() == q.size() && p < q); });
    for (auto& x : w) cout << x << ' ';
    auto pos = find_if(w.begin(), w.end(), [](const string& s) { return s[0] == 'a'; });
    cout << distance(w.begin(), pos) << endl;
    vector<pair<int, string>> ps{{2, "b"}, {1, "z"}, {2, "a"}};
    sort(ps.begin(), ps.end());
    for (auto& p : ps) cout << p.first << p.second << " ";
    sort(ps.rbegin(), ps.rend());
    cout << ps[0].second << endl;
}
